package post;

enum Stage {
    ACCEPTED {
        @Override
        Stage next(Parcel parcel) {
            return parcel.label().startsWith("X") ? CUSTOMS : SORTED;
        }

        @Override
        boolean redirectable() {
            return true;
        }
    },
    CUSTOMS {
        @Override
        Stage next(Parcel parcel) {
            return SORTED;
        }
    },
    SORTED {
        @Override
        Stage next(Parcel parcel) {
            return DELIVERED;
        }
    },
    DELIVERED {
        @Override
        Stage next(Parcel parcel) {
            throw new IllegalStateException(parcel.label() + " is delivered");
        }
    };

    abstract Stage next(Parcel parcel);

    boolean redirectable() {
        return false;
    }
}
