package aldera.tow;

class Winch { void unlock() {} }
class Line { void pay() {} }
class Horn { void blow() {} }
