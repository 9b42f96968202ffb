interface Fare { int cents(int stops); }
