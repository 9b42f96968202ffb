package cargo;
public class Setup {
    static Register register() {
        Register register = new Register();
        register.enter("grain", Grain::new);
        register.enter("timber", () -> new Timber());
        return register;
    }
}
