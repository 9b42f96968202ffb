<?php

declare(strict_types=1);

namespace Aldera\Report;

final class QuayDesk extends ReportDesk
{
    protected function open(): Report
    {
        return new TextReport();
    }
}
