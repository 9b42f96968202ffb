<?php

namespace Reports;

abstract class Export
{
    public function __construct(protected string $title)
    {
    }

    public function write(iterable $rows, string $file): int
    {
        $writer = $this->writer($file);
        $writer->head($this->title);
        $count = 0;
        foreach ($rows as $row) {
            $writer->row($row);
            $count++;
        }
        $writer->close();
        return $count;
    }

    abstract protected function writer(string $file): Writer;
}
