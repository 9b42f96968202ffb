package kiln;

class Cold implements Heat {
    @Override
    public void light(Kiln kiln) {
        kiln.become(new Burning());
    }

    @Override
    public void stoke(Kiln kiln) {
        System.out.println("nothing burns yet");
    }
}
