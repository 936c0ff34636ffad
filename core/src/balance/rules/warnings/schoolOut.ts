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
    return [{ code: 'school-out', values: { asked, school } }];
  },
};
