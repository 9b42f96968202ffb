interface RowReader {
    fun cells(row: String): List<String>
}

class CommaReader : RowReader {
    override fun cells(row: String) = row.split(",")
}

class TabReader : RowReader {
    override fun cells(row: String) = row.split("\t")
}

abstract class Importer {
    fun load(row: String) = reader().cells(row).size

    protected abstract fun reader(): RowReader
}

class CsvImporter : Importer() {
    override fun reader(): RowReader = CommaReader()
}

class TabImporter : Importer() {
    override fun reader(): RowReader = TabReader()
}
