from offices import LandingForm, LandingOffice, TransitOffice


def day():
    for office in (LandingOffice(), TransitOffice()):
        form = office.create_form()
        if isinstance(form, LandingForm):
            print("land")
        print(office.serve("Ana"))
