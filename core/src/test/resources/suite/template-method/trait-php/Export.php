<?php

trait Export
{
    public function export(array $rows): string
    {
        $text = $this->head();
        foreach ($rows as $row) {
            $text .= $this->row($row);
        }
        return $text . $this->foot();
    }

    abstract protected function head(): string;

    abstract protected function row(array $row): string;

    protected function foot(): string
    {
        return '';
    }
}

class CsvExport
{
    use Export;

    protected function head(): string
    {
        return "name;price\n";
    }

    protected function row(array $row): string
    {
        return implode(';', $row) . "\n";
    }
}

class HtmlExport
{
    use Export;

    protected function head(): string
    {
        return '<table>';
    }

    protected function row(array $row): string
    {
        return '<tr><td>' . implode('</td><td>', $row) . '</td></tr>';
    }

    protected function foot(): string
    {
        return '</table>';
    }
}
