export function createForm(validators = {}) {
  const values = {};
  const handlers = [];

  return {
    set(name, value) {
      const check = validators[name];
      if (check && !check(value)) {
        return false;
      }
      values[name] = value;
      handlers.forEach((handler) => handler(name, value));
      return true;
    },
    onChange(handler) {
      handlers.push(handler);
    },
    offChange(handler) {
      const at = handlers.indexOf(handler);
      if (at >= 0) {
        handlers.splice(at, 1);
      }
    },
    save() {
      return Object.freeze({ ...values });
    },
    restore(saved) {
      Object.assign(values, saved);
    },
  };
}
