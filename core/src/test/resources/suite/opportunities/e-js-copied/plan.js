export class WatchPlan {
  constructor(officer, hours) {
    this.officer = officer;
    this.hours = hours;
    this.notes = [];
    this.approved = false;
  }
  note(text) { this.notes.push(text); }
  approve() { this.approved = true; }
}
