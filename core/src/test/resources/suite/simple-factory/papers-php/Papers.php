<?php

abstract class Paper
{
    abstract public function heading(): string;
}

class ImportPaper extends Paper
{
    public function heading(): string
    {
        return 'Import';
    }
}

class TransitPaper extends Paper
{
    public function heading(): string
    {
        return 'Transit';
    }
}

class PaperPress
{
    public static function press(string $kind): Paper
    {
        return match ($kind) {
            'import' => new ImportPaper(),
            'transit' => new TransitPaper(),
            default => throw new InvalidArgumentException("unknown paper $kind"),
        };
    }
}

function desk(array $kinds): array
{
    return array_map(fn (string $kind) => PaperPress::press($kind)->heading(), $kinds);
}
