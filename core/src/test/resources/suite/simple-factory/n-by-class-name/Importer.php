<?php

namespace Archive;

interface Importer
{
    public function import(string $path): array;
}

final class CsvImporter implements Importer
{
    public function import(string $path): array
    {
        return array_map('str_getcsv', file($path));
    }
}

final class JsonImporter implements Importer
{
    public function import(string $path): array
    {
        return json_decode(file_get_contents($path), true);
    }
}
