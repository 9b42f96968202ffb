const Dispatcher = (function () {
  let instance;
  function create() {
    let calls = 0;
    return {
      next() { calls += 1; return calls; },
      reset() { calls = 0; },
    };
  }
  return {
    getInstance() {
      if (!instance) {
        instance = create();
      }
      return instance;
    },
  };
})();
module.exports = Dispatcher;
