import { Harbourmaster } from "./master";
export class Quay {
  clear(): void { Harbourmaster.instance.order("clear"); }
}
