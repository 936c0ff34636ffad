import { batterMl, ovenOf, type FoundBake, type BakeQuestion } from '../heat';
import { readProcess } from '../process';
import { settle } from '../quantity';
import { startWords } from './heatWords';
import { systemOf } from './system';
import type { Work } from './plan';
import type { DocketBake } from './types';

const curve = (points: DocketBake['centre']): DocketBake['centre'] =>
  points.map(([minute, celsius]) => [settle(minute), settle(celsius)] as const);

export const settled = <T extends number | null>(value: T): T =>
  value === null ? value : (settle(value) as T);

/** A bake's answer as a docket keeps it. */
export function toBake(
  answer: FoundBake,
  { profile, converted, start, temper }: BakeQuestion,
  { recipe, request, kitchen }: Work,
): DocketBake {
  const { minutes, cooling, piece } = answer;
  const oven = ovenOf(kitchen, request.ovenId);
  return {
    ovenCelsius: answer.ovenCelsius,
    fan: answer.fan,
    pan: answer.pan,
    depthCm: settle(answer.depthCm),
    minutes: minutes && {
      central: settle(minutes.central),
      low: settle(minutes.low),
      high: settle(minutes.high),
    },
    ofStages: readProcess(recipe, kitchen).bake?.ofStages ?? 0,
    firstCheck: settled(answer.firstCheck),
    anchor: settled(answer.anchor),
    anchored: answer.anchored,
    stretch: settle(answer.stretch),
    learnt: answer.learnt && { factor: settle(answer.learnt.factor), bakes: answer.learnt.bakes },
    doneCelsius: settle(answer.doneCelsius),
    doneSigns: profile.doneSigns,
    coolMinutes: answer.coolMinutes,
    centre: curve(answer.centre),
    crust: curve(answer.crust),
    edge: curve(answer.edge),
    doneBy: answer.doneBy,
    startCelsius: settle(answer.startCelsius),
    startWords: startWords(start, answer.startCelsius, systemOf(recipe.locale)),
    setCelsius: settled(answer.setCelsius),
    browning: answer.browning,
    cooling: cooling && { afterTin: settle(cooling.afterTin), cold: settled(cooling.cold) },
    piece: piece && {
      count: Math.max(1, Math.round(batterMl(converted, profile) / piece.ml)),
      ml: settle(piece.ml),
      acrossCm: settle(piece.acrossCm),
    },
    watts: answer.watts,
    oven:
      oven && answer.ovenCelsius !== null
        ? {
            name: oven.name,
            hotSide: oven.hotSide,
            preheatMinutes: oven.preheatMinutes,
            offset: settle(temper.offset),
          }
        : null,
  };
}
