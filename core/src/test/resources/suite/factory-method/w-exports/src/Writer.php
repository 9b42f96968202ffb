<?php

namespace Reports;

interface Writer
{
    public function head(string $title): void;
    public function row(array $cells): void;
    public function close(): void;
}
