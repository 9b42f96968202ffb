<?php

namespace Reports;

class CsvExport extends Export
{
    protected function writer(string $file): Writer
    {
        return new CsvWriter($file);
    }
}

class HtmlExport extends Export
{
    protected function writer(string $file): Writer
    {
        return new HtmlWriter($file);
    }
}
