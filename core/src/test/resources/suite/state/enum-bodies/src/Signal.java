package aldera;

public enum Signal {
    STOP {
        @Override
        Signal next(LockLight light) {
            light.log("preparing");
            return PREPARE;
        }
    },
    PREPARE {
        @Override
        Signal next(LockLight light) {
            light.log("go");
            return GO;
        }
    },
    GO {
        @Override
        Signal next(LockLight light) {
            light.log("stop");
            return STOP;
        }
    };

    abstract Signal next(LockLight light);
}
