<?php

namespace Aldera\Wheelhouse;

abstract class Chair
{
    abstract public function seat(): string;
}

abstract class Table
{
    abstract public function top(): string;
}

class OakChair extends Chair
{
    public function seat(): string
    {
        return 'oak seat';
    }
}

class OakTable extends Table
{
    public function top(): string
    {
        return 'oak top';
    }
}

class SteelChair extends Chair
{
    public function seat(): string
    {
        return 'steel seat';
    }
}

class SteelTable extends Table
{
    public function top(): string
    {
        return 'steel top';
    }
}

interface Yard
{
    public function chair(): Chair;

    public function table(): Table;
}

class OakYard implements Yard
{
    public function chair(): Chair
    {
        return new OakChair();
    }

    public function table(): Table
    {
        return new OakTable();
    }
}

class SteelYard implements Yard
{
    public function chair(): Chair
    {
        return new SteelChair();
    }

    public function table(): Table
    {
        return new SteelTable();
    }
}
