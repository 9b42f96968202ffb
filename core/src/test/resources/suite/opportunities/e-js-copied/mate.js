import { WatchPlan } from './plan.js';
export class Mate {
  repeat(plan) {
    const next = new WatchPlan(plan.officer, plan.hours);
    next.approved = plan.approved;
    return next;
  }
}
