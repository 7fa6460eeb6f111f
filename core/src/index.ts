export { readJobFile } from './interchange/job-file.ts';
export { planFileOf } from './interchange/plan-file.ts';
export { plan } from './plan/plan.ts';
