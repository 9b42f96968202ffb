package sluice;

enum Phase {
    SHUT {
        @Override
        void handle(Sluice sluice) {
            sluice.go(OPEN);
        }

        @Override
        void drain(Sluice sluice) {
            // nothing flows
        }
    },
    OPEN {
        @Override
        void handle(Sluice sluice) {
            sluice.go(SHUT);
        }

        @Override
        void drain(Sluice sluice) {
            sluice.flow(100);
        }
    };

    abstract void handle(Sluice sluice);

    abstract void drain(Sluice sluice);
}
