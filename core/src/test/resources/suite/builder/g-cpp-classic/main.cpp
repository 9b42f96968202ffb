#include "notice.h"
int main() {
  HtmlNotice html;
  TelexNotice telex;
  HarbourOffice office;
  office.closing(telex);
  return office.fog(html)->length() > 0 ? 0 : 1;
}
