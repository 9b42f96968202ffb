export function clean(carpet) {
  carpet.wet = true;
}
