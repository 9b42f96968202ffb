<?php
namespace Report;

abstract class Report
{
    protected Output $output;

    public function __construct()
    {
        $this->output = new HtmlOutput();
    }

    abstract public function render(array $data): string;

    protected function table(array $rows): string
    {
        return implode("\n", array_map([$this->output, 'row'], $rows));
    }
}

final class Sales extends Report
{
    public function render(array $data): string
    {
        return $this->output->heading('Sales') . $this->table($data);
    }
}

final class Stock extends Report
{
    public function render(array $data): string
    {
        return $this->output->heading('Stock') . $this->table(array_filter($data));
    }

    public function plain(): void
    {
        $this->output = new TextOutput();
    }
}
