export const Visitable = (Base) =>
  class extends Base {
    accept(visitor) {
      return visitor.visit(this);
    }
  };
