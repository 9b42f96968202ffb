<?php
namespace Aldera;

final class Export
{
    public function __construct(private bool $zip, private bool $sign) {}

    public function run(array $rows): string
    {
        $data = implode("\n", $rows);
        if ($this->zip) {
            $data = gzcompress($data);
        }
        if ($this->sign) {
            $data .= sha1($data);
        }
        return $data;
    }
}
