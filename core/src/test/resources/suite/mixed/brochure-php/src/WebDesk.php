<?php

declare(strict_types=1);

namespace Aldera\Report;

final class WebDesk extends ReportDesk
{
    protected function open(): Report
    {
        return new HtmlReport();
    }
}
