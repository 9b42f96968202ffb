function createLight() {
  const red = {
    name: "red",
    next() { current = green; },
    mayDrive: () => false,
  };
  const green = {
    name: "green",
    next() { current = amber; },
    mayDrive: () => true,
  };
  const amber = {
    name: "amber",
    next() { current = red; },
    mayDrive: () => false,
  };
  let current = red;

  return {
    tick() { current.next(); },
    mayDrive() { return current.mayDrive(); },
    colour() { return current.name; },
  };
}

module.exports = { createLight };
