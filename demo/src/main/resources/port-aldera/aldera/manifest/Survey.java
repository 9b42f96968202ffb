package aldera.manifest;

/** Work done on every kind of cargo. */
public interface Survey {
    void container(Container container);

    void bulk(BulkLoad bulk);

    void pallet(Pallet pallet);
}
