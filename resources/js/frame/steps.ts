import type { Schemas } from '@/api/client';

/** The steps of the job as the core lists them: one that is added there is missed here by the type checker. */
export type Step = Schemas['StepView']['key'];

export const stepNames: Record<Step, string> = {
  person: 'Person',
  checks: 'Checks',
  board: 'Board',
  session: 'Session',
  week: 'Week',
  weeks: 'Weeks',
  sheet: 'Sheet',
  coach: 'Coach',
  review: 'Review',
};

export const isStep = (text: string): text is Step => text in stepNames;
