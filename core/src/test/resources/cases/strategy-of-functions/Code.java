import java.util.function.IntUnaryOperator;
class Till { private final IntUnaryOperator rebate; Till(IntUnaryOperator rebate) { this.rebate = rebate; } int pay(int c) { return rebate.applyAsInt(c); } }
class Shop { Till plain() { return new Till(c -> c); } Till sale() { return new Till(c -> c / 2); } }
