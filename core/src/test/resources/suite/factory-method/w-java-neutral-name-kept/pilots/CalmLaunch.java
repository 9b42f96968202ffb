package pilots;

class CalmLaunch implements Launch {
    @Override
    public String reach(String ship) {
        return "slowly to " + ship;
    }
}
