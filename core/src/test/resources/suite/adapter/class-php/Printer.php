<?php

interface TextPrinter
{
    public function printLine(string $text): void;
    public function feed(): void;
}

class LabelMachine
{
    private array $strip = [];

    public function stamp(string $letters, int $size): void
    {
        $this->strip[] = $letters . $size;
    }

    public function advance(): void
    {
        $this->strip[] = '';
    }
}

class LabelPrinter extends LabelMachine implements TextPrinter
{
    public function printLine(string $text): void
    {
        $this->stamp(strtoupper($text), 12);
    }

    public function feed(): void
    {
        $this->advance();
    }
}

function tag(TextPrinter $printer): void
{
    $printer->printLine('crate 4');
    $printer->feed();
}

tag(new LabelPrinter());
