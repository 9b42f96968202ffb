from nodes import Heading, Page, Paragraph
from visitors import PlainText, WordCount

page = Page([Heading("Tides"), Paragraph(["low", "at", "six"])])
print(page.accept(PlainText()), page.accept(WordCount()))
