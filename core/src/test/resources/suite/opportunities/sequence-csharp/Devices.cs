namespace Studio;

public class Camera { public void Start() { } public void Stop() { } }
public class Microphone { public void Unmute() { } }
public class Recorder { public void Roll(string name) { } }
