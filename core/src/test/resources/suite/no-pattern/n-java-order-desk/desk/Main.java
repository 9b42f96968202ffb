package desk;

public final class Main {
    public static void main(String[] args) {
        OrderDesk desk = new OrderDesk(new WeightValidator(40).and(new CustomerValidator()), new MailNotifier("smtp"));
        desk.place(Order.forCustomer("Ines").goods("rope", 2).urgent().build());
        System.out.println(desk.open(Priority.URGENT));
    }
}
