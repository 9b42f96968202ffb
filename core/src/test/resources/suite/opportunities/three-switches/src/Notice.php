<?php

declare(strict_types=1);

namespace Aldera;

final class Notice
{
    public function __construct(
        private bool $withDate = false,
        private bool $loud = false,
        private bool $signed = false,
        private bool $framed = false,
    ) {
    }

    public function render(string $text): string
    {
        $out = $text;
        if ($this->withDate) {
            $out = date('d.m.') . ' ' . $out;
        }
        if ($this->loud) {
            $out = strtoupper($out);
        }
        if ($this->signed) {
            $out .= "\nthe harbour master";
        }
        if ($this->framed) {
            $out = '| ' . $out . ' |';
        }
        return $out;
    }
}
