<?php

final class ManifestPrinter
{
    public function __construct(
        private bool $numbered,
        private bool $upper,
        private bool $framed,
    ) {
    }

    public function print(array $lines): string
    {
        $text = '';
        foreach ($lines as $i => $line) {
            if ($this->numbered) {
                $line = ($i + 1) . '. ' . $line;
            }
            if ($this->upper) {
                $line = strtoupper($line);
            }
            $text .= $line . "\n";
        }
        if ($this->framed) {
            $text = "-----\n" . $text . "-----\n";
        }
        return $text;
    }
}
