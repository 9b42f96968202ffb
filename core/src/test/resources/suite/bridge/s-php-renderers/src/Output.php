<?php
namespace Report;

interface Output
{
    public function heading(string $text): string;
    public function row(array $cells): string;
}

final class HtmlOutput implements Output
{
    public function heading(string $text): string { return "<h1>$text</h1>"; }
    public function row(array $cells): string { return '<tr><td>' . implode('</td><td>', $cells) . '</td></tr>'; }
}

final class TextOutput implements Output
{
    public function heading(string $text): string { return strtoupper($text); }
    public function row(array $cells): string { return implode(' | ', $cells); }
}
