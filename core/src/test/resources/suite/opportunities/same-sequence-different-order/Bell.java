package aldera;

class Bell {
    void ring() {
        System.out.println("ding");
    }
}
