"""Print the titles of all top windows on $DISPLAY, by the X11 protocol's own library. Run as a program."""

import ctypes
import ctypes.util


def print_titles() -> None:
    x11 = ctypes.CDLL(ctypes.util.find_library("X11") or "libX11.so.6")
    x11.XOpenDisplay.restype = ctypes.c_void_p
    x11.XDefaultRootWindow.argtypes = [ctypes.c_void_p]
    x11.XDefaultRootWindow.restype = ctypes.c_ulong
    x11.XQueryTree.argtypes = [ctypes.c_void_p, ctypes.c_ulong, *[ctypes.c_void_p] * 4]
    x11.XFetchName.argtypes = [ctypes.c_void_p, ctypes.c_ulong, ctypes.POINTER(ctypes.c_char_p)]
    display = x11.XOpenDisplay(None)
    root, parent, count = ctypes.c_ulong(), ctypes.c_ulong(), ctypes.c_uint()
    children = ctypes.POINTER(ctypes.c_ulong)()
    x11.XQueryTree(display, x11.XDefaultRootWindow(display), ctypes.byref(root), ctypes.byref(parent),
                   ctypes.byref(children), ctypes.byref(count))
    for index in range(count.value):
        name = ctypes.c_char_p()
        if x11.XFetchName(display, children[index], ctypes.byref(name)) and name.value:
            print(name.value.decode("utf-8", "replace"))


if __name__ == "__main__":
    print_titles()
