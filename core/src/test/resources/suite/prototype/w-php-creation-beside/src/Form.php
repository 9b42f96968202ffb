<?php
declare(strict_types=1);

namespace Office;

interface Form
{
    public function blank(): Form;

    public function title(): string;
}
