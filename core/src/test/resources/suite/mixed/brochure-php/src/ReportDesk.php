<?php

declare(strict_types=1);

namespace Aldera\Report;

abstract class ReportDesk
{
    public function publish(array $rows, string $path): int
    {
        $report = $this->open();
        return strlen($report->render($rows)) + strlen($path);
    }

    abstract protected function open(): Report;
}
