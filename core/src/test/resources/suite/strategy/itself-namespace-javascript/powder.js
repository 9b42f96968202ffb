export function clean(carpet) {
  carpet.dust = false;
}
