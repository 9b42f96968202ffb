package aldera;

class Main {
    public static void main(String[] args) {
        new Morning().open();
        new Night().close();
    }
}
