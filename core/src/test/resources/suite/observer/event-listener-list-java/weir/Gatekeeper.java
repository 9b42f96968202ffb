package weir;

public class Gatekeeper implements LevelListener {
    private boolean open;

    public Gatekeeper(Weir weir) {
        weir.addLevelListener(this);
    }

    @Override
    public void levelChanged(LevelEvent event) {
        open = event.centimetres() > 120;
    }
}
