namespace Studio;

public class MorningShow
{
    private readonly Camera _camera;
    private readonly Microphone _microphone;
    private readonly Recorder _recorder;

    public MorningShow(Camera camera, Microphone microphone, Recorder recorder)
    {
        _camera = camera;
        _microphone = microphone;
        _recorder = recorder;
    }

    public void Begin()
    {
        _camera.Start();
        _microphone.Unmute();
        _recorder.Roll("morning");
    }
}

public class LateShow
{
    public void Air(Camera camera, Microphone microphone, Recorder recorder)
    {
        camera.Start();
        microphone.Unmute();
        recorder.Roll("late");
    }
}
