<?php
namespace Aldera\Courier;

interface Vehicle
{
    public function carry(string $parcel): string;
}

final class Launch implements Vehicle
{
    public function carry(string $parcel): string { return "$parcel by launch"; }
}

final class CargoBike implements Vehicle
{
    public function carry(string $parcel): string { return "$parcel by bike"; }
}
