<?php

namespace Archive;

final class Importers
{
    private const KINDS = [
        'csv' => CsvImporter::class,
        'json' => JsonImporter::class,
    ];

    public function for(string $path): Importer
    {
        $extension = pathinfo($path, PATHINFO_EXTENSION);
        if (!isset(self::KINDS[$extension])) {
            throw new \InvalidArgumentException("no importer for $extension");
        }
        $kind = self::KINDS[$extension];
        return new $kind();
    }
}

final class Desk
{
    public function __construct(private Importers $importers)
    {
    }

    public function take(string $path): int
    {
        return count($this->importers->for($path)->import($path));
    }
}
