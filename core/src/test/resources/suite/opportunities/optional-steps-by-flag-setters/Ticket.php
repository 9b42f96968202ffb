<?php

final class TicketPrinter
{
    private bool $logo = false;
    private bool $barcode = false;
    private bool $advert = false;

    public function withLogo(bool $on): void
    {
        $this->logo = $on;
    }

    public function withBarcode(bool $on): void
    {
        $this->barcode = $on;
    }

    public function withAdvert(bool $on): void
    {
        $this->advert = $on;
    }

    public function print(string $what): string
    {
        $out = $what;
        if ($this->logo) {
            $out = "~ALDERA~\n" . $out;
        }
        if ($this->barcode) {
            $out .= "\n|||||";
        }
        if ($this->advert) {
            $out .= "\nSee the lighthouse";
        }
        return $out;
    }
}

$printer = new TicketPrinter();
$printer->withLogo(true);
echo $printer->print('ferry');
