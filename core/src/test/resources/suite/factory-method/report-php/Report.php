<?php
interface Page
{
    public function lines(): int;
}

final class Folio implements Page
{
    public function lines(): int
    {
        return 60;
    }
}

final class Slip implements Page
{
    public function lines(): int
    {
        return 9;
    }
}

abstract class Report
{
    public function print(): int
    {
        return $this->page()->lines() * 2;
    }

    abstract protected function page(): Page;
}

final class LongReport extends Report
{
    protected function page(): Page
    {
        return new Folio();
    }
}

final class ShortReport extends Report
{
    protected function page(): Page
    {
        return new Slip();
    }
}
