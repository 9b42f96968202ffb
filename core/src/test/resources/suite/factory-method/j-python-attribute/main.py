from readers import CsvReader, TabReader
for reader in (CsvReader("a,b"), TabReader("a\tb")):
    print(reader.rows())
