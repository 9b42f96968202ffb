<?php

namespace Reports;

class HtmlWriter implements Writer
{
    private string $html = '';

    public function __construct(private string $file)
    {
    }

    public function head(string $title): void
    {
        $this->html = "<h1>$title</h1><table>";
    }

    public function row(array $cells): void
    {
        $this->html .= '<tr><td>' . implode('</td><td>', $cells) . '</td></tr>';
    }

    public function close(): void
    {
        file_put_contents($this->file, $this->html . '</table>');
    }
}
