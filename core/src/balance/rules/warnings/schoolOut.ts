import { SCHOOLS } from '../../data/binders';
import type { WarningRule } from '../../types';
import { schoolFor } from '../binder';

export const schoolOut: WarningRule = {
  id: 'school-out',
  balance: 'binder',
  reason: 'What was asked to bind is avoided by somebody: another takes its place, and is named.',
  source: 'what is avoided',
  confidence: 'common-practice',
  warn(_part, setting) {
    const [asked, school] = [setting.request.school, schoolFor(setting)];
    if (school === asked) return [];
    return [
      `What was to bind is out (${SCHOOLS.rows[asked].name}): ${SCHOOLS.rows[school].name} binds instead.`,
    ];
  },
};
