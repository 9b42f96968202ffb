<?php
declare(strict_types=1);

trait WritesRows
{
    public function export(array $rows): string
    {
        $text = $this->head();
        foreach ($rows as $row) {
            $text .= $this->line($row);
        }
        return $text . $this->foot();
    }

    abstract protected function line(array $row): string;

    protected function head(): string
    {
        return '';
    }

    protected function foot(): string
    {
        return '';
    }
}

final class CsvExport
{
    use WritesRows;

    protected function line(array $row): string
    {
        return implode(';', $row) . "\n";
    }
}

final class HtmlExport
{
    use WritesRows;

    protected function line(array $row): string
    {
        return '<tr><td>' . implode('</td><td>', $row) . '</td></tr>';
    }

    protected function head(): string
    {
        return '<table>';
    }

    protected function foot(): string
    {
        return '</table>';
    }
}

echo (new CsvExport())->export([[1, 2]]), (new HtmlExport())->export([[3]]);
