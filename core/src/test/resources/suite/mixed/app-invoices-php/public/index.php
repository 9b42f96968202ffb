<?php

use Aldera\Invoices\InvoiceController;
use Aldera\Invoices\InvoiceService;
use Aldera\Invoices\PdoInvoices;
use Aldera\Invoices\SmtpMailer;

$controller = new InvoiceController(new InvoiceService(new PdoInvoices(new PDO('sqlite::memory:')), new SmtpMailer('localhost')));
echo json_encode($controller($_POST));
