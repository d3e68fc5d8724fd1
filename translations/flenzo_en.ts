<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>ActsDone</name>
    <message numerus="yes">
        <source>%n strings checked</source>
        <translation>
            <numerusform>%n string checked</numerusform>
            <numerusform>%n strings checked</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>GuitarPlan</name>
    <message numerus="yes">
        <source>The guitar from above, %n strings tight.</source>
        <translation>
            <numerusform>The guitar from above, %n string tight.</numerusform>
            <numerusform>The guitar from above, %n strings tight.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Practice</name>
    <message numerus="yes">
        <source>Said wrongly %n time(s).</source>
        <translation>
            <numerusform>Said wrongly once.</numerusform>
            <numerusform>Said wrongly %n times.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::FirstAnswerForm</name>
    <message numerus="yes">
        <source>%n strings</source>
        <translation>
            <numerusform>%n string</numerusform>
            <numerusform>%n strings</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::MainWindow</name>
    <message numerus="yes">
        <source>%n jobs came in.</source>
        <translation>
            <numerusform>%n job came in.</numerusform>
            <numerusform>%n jobs came in.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::ShopPage</name>
    <message numerus="yes">
        <source>%1: %2, %3; %4, %n entries in its log</source>
        <translation>
            <numerusform>%1: %2, %3; %4, %n entry in its log</numerusform>
            <numerusform>%1: %2, %3; %4, %n entries in its log</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::SoakForm</name>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n minute</numerusform>
            <numerusform>%n minutes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::StepClock</name>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n minute</numerusform>
            <numerusform>%n minutes</numerusform>
        </translation>
    </message>
</context>
</TS>
