package theatre;

public class StageManager {
    public void prepare(CueSheet sheet, FlyTower tower) {
        sheet.note(new RaiseBackdrop(tower, 4));
        sheet.note(new DropCurtain(tower));
    }
}
